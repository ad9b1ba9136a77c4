/** Cost of scrypt where routes and data are tried in a process of tests: half a megabyte. Commands and servers have the true one. */
export const LOG_N = 9;
