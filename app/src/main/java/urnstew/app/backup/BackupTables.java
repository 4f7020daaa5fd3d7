package urnstew.app.backup;

import java.util.List;

/** The tables of a kitchen. */
final class BackupTables {
  /** What was changed by whom: goes on where another kitchen's begins. */
  static final String CHANGES = "change";

  /** All of them; what others point to comes first. */
  static final List<String> ALL =
      List.of(
          "kitchen",
          "vessel",
          "heat_source",
          "oven",
          "kitchen_measure",
          "cold_place",
          "own_rule_set",
          "rule_change",
          "rule_set_in_force",
          "own_ingredient",
          "avoided",
          "stock",
          "meal",
          "formula_shelf",
          "formula_version",
          "batch",
          "batch_event",
          "stage_note",
          "panel",
          "panel_seat",
          "keeping",
          "keeping_event",
          "occupancy",
          "lot",
          "lot_link",
          "lot_event",
          "batch_source",
          "service",
          "service_event",
          "service_plan",
          "write_receipt",
          CHANGES);

  /** What a kitchen has from its first start on; all else must be empty for a restore. */
  static final List<String> FROM_THE_START = List.of("kitchen", CHANGES);

  private BackupTables() {}
}
