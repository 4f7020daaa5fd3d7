package urnstew.core.bench;

import java.util.List;

/**
 * One way to do something: on this burner in so long, on that one longer.
 *
 * @param lastsSeconds from its beginning to its end, a cook's hands included
 * @param claims what it holds meanwhile
 */
public record Mode(int lastsSeconds, List<Claim> claims) {
  public Mode {
    claims = List.copyOf(claims);
  }
}
