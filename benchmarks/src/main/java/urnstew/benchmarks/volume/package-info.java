/**
 * How a kitchen of many years answers: a hundred thousand batches are copied into the database of a
 * running application, and its pages are asked for over HTTP.
 *
 * <p>Every batch is a copy of one that the application itself wrote, under another name, pot, day
 * and note. Those with thousands of readings are finished over HTTP, so that their forecasts are
 * the application's own. Made up, all of it.
 */
package urnstew.benchmarks.volume;
