package urnstew.app.panel.store;

import java.util.List;

/** What is in the cups, in the order in which they were filled. */
public record StoredCups(List<String> cups) {}
