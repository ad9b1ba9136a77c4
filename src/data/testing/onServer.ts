/* The tests of the data that run after this make their databases on the throw-away server. */
process.env.MELLOW_TEST_ENGINE = 'server';
