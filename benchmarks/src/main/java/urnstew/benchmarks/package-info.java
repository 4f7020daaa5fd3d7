/** Benchmarks of the core, beside a calibration kernel that tells how fast the machine is today. */
package urnstew.benchmarks;
