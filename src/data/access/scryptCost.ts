/** Cost of scrypt: 128 MiB and some tenths of a second a try (OWASP, Password Storage Cheat Sheet, 2023: N = 2^17, r = 8, p = 1). */
export const LOG_N = 17;
