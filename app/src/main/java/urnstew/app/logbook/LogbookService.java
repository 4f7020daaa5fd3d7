package urnstew.app.logbook;

import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.logbook.LogbookEntry.PotRates;
import urnstew.app.logbook.LogbookEntry.VesselPoint;

/** What is to be learnt from finished batches. */
@Service
public class LogbookService {
  private static final int PAGE = 60;

  /** The least identity: a page that begins with it leaves nothing out. */
  private static final UUID LEAST = new UUID(0, 0);

  private static final int LATEST = 3_000;
  private static final int MOST_EXPORTED = 100_000;
  private static final int MOST_RATES = 400;
  private static final int MOST_WORDS = 8;

  private final LogbookMapper entries;

  LogbookService(LogbookMapper entries) {
    this.entries = entries;
  }

  /**
   * Finished batches, the newest first, a page of them.
   *
   * @param more whether there are earlier ones
   */
  public record LogbookPage(List<LogbookEntry> entries, boolean more) {}

  /**
   * A page of the finished batches.
   *
   * @param words each must be in name, pot or note
   * @param before only what ended before the last one of the page before
   * @param beforeId that one, since others may have ended in the same moment
   */
  @Transactional(readOnly = true)
  public LogbookPage find(
      String words, @Nullable UUID vesselId, @Nullable Instant before, @Nullable UUID beforeId) {
    List<String> patterns = patterns(words);
    UUID last = beforeId == null ? LEAST : beforeId;
    if (!patterns.isEmpty()) {
      // A word that many have fills the page from the latest; the index of words is for the rest.
      List<LogbookEntry> latest = entries.find(patterns, vesselId, before, last, LATEST, PAGE + 1);
      if (latest.size() > PAGE) {
        return page(latest);
      }
    }
    return page(entries.find(patterns, vesselId, before, last, null, PAGE + 1));
  }

  private static LogbookPage page(List<LogbookEntry> found) {
    return new LogbookPage(found.subList(0, Math.min(PAGE, found.size())), found.size() > PAGE);
  }

  /** The same, all of it, as a table. */
  @Transactional(readOnly = true)
  public String csv(String words) {
    return LogbookCsv.write(entries.find(patterns(words), null, null, LEAST, null, MOST_EXPORTED));
  }

  /** How each pot's rate came out, the newest first. */
  @Transactional(readOnly = true)
  public List<PotRates> rates() {
    Map<UUID, List<VesselPoint>> pots =
        entries.rates(MOST_RATES).stream()
            .collect(
                Collectors.groupingBy(
                    VesselPoint::vesselId, LinkedHashMap::new, Collectors.toList()));
    return pots.values().stream().map(PotRates::of).toList();
  }

  private static List<String> patterns(String words) {
    return Arrays.stream(words.toLowerCase(Locale.ROOT).split("\\s+"))
        .filter(word -> !word.isEmpty())
        .limit(MOST_WORDS)
        .map(LogbookService::escaped)
        .toList();
  }

  private static String escaped(String word) {
    return '%' + word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + '%';
  }
}
