package urnstew.app.lots;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.print.LabelPrint;
import urnstew.app.print.Printed;

/** Labels for the tubs of a lot, one for each. */
@Component
class LotLabels {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.ENGLISH);
  private static final int MOST = 200;

  private final KitchenService kitchens;

  LotLabels(KitchenService kitchens) {
    this.kitchens = kitchens;
  }

  /**
   * A sheet of labels.
   *
   * @param here address of this server, as the one who prints knows it
   */
  byte[] pdf(LotView lot, String here) {
    KitchenSettings kitchen = kitchens.settings();
    Printed printed = kitchen.printed();
    List<String> lines = new ArrayList<>();
    lines.add("made " + DAY.format(lot.madeOn()));
    LocalDate useBy = lot.useBy();
    LocalDate best = lot.bestUntil();
    if (useBy != null) {
      lines.add("use by " + DAY.format(useBy));
    } else if (best != null) {
      lines.add("frozen, best until " + DAY.format(best));
      lines.add(lot.daysLeft() + " days once it thaws");
    }
    lines.add("reheat to " + printed.temperature(lot.reheatCelsius()));
    lines.addAll(lot.declaration().inWords());
    LabelPrint sheet = new LabelPrint("Labels of " + lot.name());
    String address = here + "/keep/lots/" + lot.id();
    for (int i = 0; i < Math.min(lot.tubs(), MOST); i++) {
      sheet.label(new LabelPrint.Label(lot.name(), lot.code(), lines, address));
    }
    return sheet.pdf();
  }
}
