package urnstew.core.service;

import java.time.Instant;
import java.util.UUID;

/**
 * An entry in the log of a service.
 *
 * @param at when it happened
 */
public record ServiceEntry(UUID id, Instant at, ServiceEvent event) {}
