package urnstew.core.bench;

import java.util.Optional;

/**
 * When an activity begins, how and by whom.
 *
 * @param key of the activity
 * @param startSeconds its beginning
 * @param mode place in its modes
 * @param cook whose hands; empty where nobody's are needed
 */
public record Placement(String key, int startSeconds, int mode, Optional<String> cook) {}
