package urnstew.app.serving;

import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.app.task.TaskView.SpanView;
import urnstew.core.conduction.Body;
import urnstew.core.rules.CookedFood;
import urnstew.core.serving.part.EquipmentTime;
import urnstew.core.serving.part.OvenNeighbour;
import urnstew.core.serving.pasta.PastaShape;
import urnstew.core.serving.piece.Cut;
import urnstew.core.serving.tray.Sheet;
import urnstew.core.serving.tray.TrayFilling;
import urnstew.core.serving.tray.TraySize;
import urnstew.units.Mass;

/** The reference tables of what goes with a sauce. */
public record ServingTables(
    List<ShapeView> shapes,
    List<CutView> cuts,
    List<TraySizeView> traySizes,
    List<SheetView> sheets,
    List<FillingView> fillings,
    List<NeighbourView> neighbours,
    List<EquipmentTimeView> equipmentTimes) {

  /** Pasta of one shape. */
  public record ShapeView(
      String id, String name, PastaShape.Form form, boolean fresh, SpanView atSeaLevel) {
    static ShapeView of(PastaShape shape) {
      return new ShapeView(
          shape.id(), shape.name(), shape.form(), shape.isFresh(), SpanView.of(shape.atSeaLevel()));
    }
  }

  /** A kind of piece. */
  public record CutView(
      String id,
      String name,
      Body body,
      double usualMeters,
      double thinnestMeters,
      double thickestMeters,
      double usualMassKilograms,
      CookedFood food,
      double tasteFromCelsius,
      double tasteToCelsius,
      double suffersCelsius) {
    static CutView of(Cut cut) {
      return new CutView(
          cut.id(),
          cut.name(),
          cut.body(),
          cut.usual().meters(),
          cut.thinnest().meters(),
          cut.thickest().meters(),
          cut.usualMass().kilograms(),
          cut.food(),
          cut.taste().fromCelsius(),
          cut.taste().toCelsius(),
          cut.taste().suffersCelsius());
    }
  }

  /** A tray as kitchens have them. */
  public record TraySizeView(
      String id, String name, double lengthMeters, double widthMeters, double depthMeters) {
    static TraySizeView of(TraySize size) {
      return new TraySizeView(
          size.id(),
          size.name(),
          size.inside().length().meters(),
          size.inside().width().meters(),
          size.inside().depth().meters());
    }
  }

  /** Sheets and slices. */
  public record SheetView(
      String id, String name, @Nullable Double eachMassKilograms, double drinksFraction) {
    static SheetView of(Sheet sheet) {
      return new SheetView(
          sheet.id(),
          sheet.name(),
          sheet.size().map(size -> size.mass().kilograms()).orElse(null),
          sheet.drinksKilograms(new Mass(1)));
    }
  }

  /** What is spread in trays beside the sauce. */
  public record FillingView(String id, String name) {
    static FillingView of(TrayFilling filling) {
      return new FillingView(filling.id(), filling.name());
    }
  }

  /** What shares an oven. */
  public record NeighbourView(
      String id,
      String name,
      double coolestCelsius,
      double hottestCelsius,
      SpanView minutes,
      String note) {
    static NeighbourView of(OvenNeighbour one) {
      return new NeighbourView(
          one.id(),
          one.name(),
          one.coolest().celsius(),
          one.hottest().celsius(),
          SpanView.of(one.minutes()),
          one.note());
    }
  }

  /** How long a machine is taken. */
  public record EquipmentTimeView(
      String equipment, String job, long eachSeconds, long perKilogramSeconds) {
    static EquipmentTimeView of(EquipmentTime time) {
      return new EquipmentTimeView(
          time.equipment(), time.job(), time.each().toSeconds(), time.perKilogram().toSeconds());
    }
  }

  static ServingTables shipped() {
    return new ServingTables(
        PastaShape.shipped().stream().map(ShapeView::of).toList(),
        Cut.shipped().stream().map(CutView::of).toList(),
        TraySize.shipped().stream().map(TraySizeView::of).toList(),
        Sheet.shipped().stream().map(SheetView::of).toList(),
        TrayFilling.shipped().stream().map(FillingView::of).toList(),
        OvenNeighbour.shipped().stream().map(NeighbourView::of).toList(),
        EquipmentTime.shipped().stream().map(EquipmentTimeView::of).toList());
  }
}
