package urnstew.app.keeping;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import urnstew.app.keeping.KeepingView.CoolingView;
import urnstew.app.keeping.KeepingView.EntryView;
import urnstew.app.keeping.KeepingView.HoldView;
import urnstew.app.keeping.KeepingView.MarkView;
import urnstew.app.keeping.KeepingView.SetOutView;
import urnstew.app.keeping.KeepingView.SetupView;
import urnstew.app.print.Printed;
import urnstew.app.print.PrintedPages;

/**
 * The record of one hold or cooling, for whoever inspects it: what was read, when, and by which
 * rule.
 */
final class KeepingRecord {
  private static final float FIRST = 0.28f;

  private final KeepingView kept;
  private final Printed printed;

  KeepingRecord(KeepingView kept, Printed printed) {
    this.kept = kept;
    this.printed = printed;
  }

  byte[] pdf() {
    CoolingView cooling = kept.cooling();
    HoldView hold = kept.hold();
    SetOutView setOut = kept.setOut();
    Double kilograms = kept.massKilograms();
    PrintedPages pages =
        new PrintedPages(
            (cooling != null ? "Cooled: " : hold != null ? "Held hot: " : "Left out: ")
                + kept.name()
                + ", "
                + (kilograms == null ? "" : printed.mass(kilograms) + ", ")
                + LocalDate.ofInstant(kept.startedAt(), printed.zone()));
    pages.lead(ended());
    pages.text("By " + kept.ruleSetName() + ". Local code comes first.");
    if (cooling != null) {
      pages.rows(FIRST, List.of(List.of("Stood", standing(cooling.setup()))));
      pages.heading("Marks");
      pages.rows(FIRST, cooling.marks().stream().map(this::mark).toList());
    }
    if (hold != null) {
      pages.rows(
          FIRST,
          List.of(
              List.of("In", hold.vessel()),
              List.of("At least", printed.temperature(hold.limitCelsius()))));
    }
    if (setOut != null) {
      pages.rows(
          FIRST,
          List.of(
              List.of("Left at", printed.temperature(setOut.startCelsius())),
              List.of("Not served from", printed.hour(setOut.discard()))));
    }
    pages.heading("Record");
    pages.rows(FIRST, record());
    return pages.pdf();
  }

  private String ended() {
    Instant closed = kept.closedAt();
    KeepingWrites.Closed as = kept.closedAs();
    if (closed == null || as == null) {
      return "Not ended yet.";
    }
    String how =
        switch (as) {
          case PUT_AWAY -> "Put away";
          case SERVED -> "Served";
          case DISCARDED -> "Thrown away";
        };
    return how
        + ", "
        + printed.hour(closed)
        + (kept.reason().isEmpty() ? "." : ": " + kept.reason() + ".");
  }

  private String standing(SetupView setup) {
    String place = setup.place().name().toLowerCase(Locale.ROOT).replace('_', ' ');
    return setup.count()
        + " x "
        + setup.pan()
        + ", "
        + printed.depth(setup.depthMeters())
        + " deep, "
        + place
        + ", "
        + printed.temperature(setup.aroundCelsius());
  }

  private List<String> mark(MarkView mark) {
    Instant shown = mark.shownAt();
    String state =
        shown != null
            ? "read in time, " + printed.hour(shown)
            : switch (mark.state()) {
              case SHOWN -> "read in time";
              case RECKONED -> "not read in time; in time by the slow side of the reckoning";
              case MISSED -> "missed, or nothing shows it";
              case TO_READ -> "past and not read";
              case IN_TIME, IN_DOUBT, TOO_LATE -> "to come";
            };
    return List.of(
        printed.temperature(mark.celsius()),
        "by " + printed.hour(mark.deadline()) + " (" + mark.section() + "): " + state);
  }

  private List<List<String>> record() {
    List<List<String>> rows = new ArrayList<>();
    rows.add(List.of(printed.hour(kept.startedAt()), "begun"));
    for (EntryView entry : kept.entries()) {
      rows.add(List.of(printed.hour(entry.at()), words(entry)));
    }
    return rows;
  }

  private String words(EntryView entry) {
    Double celsius = entry.celsius();
    SetupView setup = entry.setup();
    String what =
        switch (entry.what()) {
          case "Read" -> "read";
          case "Placed" -> "put otherwise";
          case "Stirred" -> "stirred through";
          case "Reheated" -> "reheated";
          case "ToppedUp" -> "topped up";
          default -> "an entry struck out: " + entry.reason();
        };
    return what
        + (celsius == null ? "" : " " + printed.temperature(celsius))
        + (setup == null ? "" : ": " + standing(setup))
        + (entry.struckOut() ? " (struck out)" : "");
  }
}
