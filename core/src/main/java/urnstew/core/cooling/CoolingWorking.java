package urnstew.core.cooling;

import java.util.List;
import urnstew.core.conduction.Cooling;
import urnstew.core.conduction.Faces;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;

/** How hours of cooling explain themselves. */
final class CoolingWorking {
  private CoolingWorking() {}

  static Working of(CoolingSauce sauce, CoolingSetup setup, double speed) {
    Cooling matter = sauce.matter();
    Faces faces = BoundingCase.LIKELY.faces(setup, 1);
    return new Working(
        "cooling",
        "Heat creeps through a sauce that nobody stirs, and leaves through its faces. The warmest"
            + " place counts. Beside the likely course runs a slow one: a quarter less heat through"
            + " the faces, deeper, covered, as warm around as it gets, not stirred. Promises come"
            + " from the slow one; readings can only slow it.",
        "∂T/∂t = α ∇²T,  −k ∂T/∂n = h (T − T_around)",
        List.of(
            new Term(
                sauce.thickestPiece().isPresent() ? "depth, or the thickest piece" : "depth",
                "d",
                setup.crossed(sauce).meters(),
                "m"),
            new Term("conductivity", "k", matter.wattsPerMeterKelvin(), "W/(m K)"),
            new Term("diffusivity", "α", matter.squareMetersPerSecond(), "m²/s"),
            new Term("coefficient below", "h", faces.bottomWattsPerSquareMeterKelvin(), "W/(m² K)"),
            new Term("coefficient above", "h", faces.topWattsPerSquareMeterKelvin(), "W/(m² K)"),
            new Term("around it", "T_around", setup.spot().usual().celsius(), "°C"),
            new Term("faster than assumed, by the readings", "f", speed, "")),
        List.of(
            "A thick sauce does not flow by itself",
            "What the surface loses by steaming is left out: the slow side",
            "Outside coefficients are of the usual order, not measured here"),
        List.of(
            "F. P. Incropera, D. P. DeWitt, Fundamentals of Heat and Mass Transfer, chapter 5",
            "Choi and Okos (1986)"),
        speed == 1 ? Confidence.ASSUMED : Confidence.MEASURED);
  }
}
