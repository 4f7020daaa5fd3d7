package urnstew.app.pantry;

import java.util.List;
import urnstew.core.pantry.Avoid;

/** What this kitchen leaves out, and the version of that list. */
public record AvoidList(int version, List<Avoid> avoid) {}
