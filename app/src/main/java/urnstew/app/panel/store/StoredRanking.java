package urnstew.app.panel.store;

import java.util.List;

/** Places that a seat gave to the cups. */
public record StoredRanking(List<Integer> places) {}
