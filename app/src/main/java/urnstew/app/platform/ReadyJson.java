package urnstew.app.platform;

/**
 * A page that is written out already, since many screens ask for the same one. It takes the place
 * of the page itself in an answer.
 *
 * @param bytes the page as JSON; never changed
 */
@SuppressWarnings("ArrayRecordComponent")
record ReadyJson(byte[] bytes) {}
