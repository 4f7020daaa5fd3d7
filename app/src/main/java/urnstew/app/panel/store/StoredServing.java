package urnstew.app.panel.store;

import java.util.List;

/** Who gets which cup when. */
public record StoredServing(List<Integer> codes, List<List<Integer>> orders) {}
