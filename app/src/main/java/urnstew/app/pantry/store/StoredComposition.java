package urnstew.app.pantry.store;

/** What something is made of, kg of each per kg or in all. */
public record StoredComposition(
    double waterKilograms,
    double ethanolKilograms,
    double proteinKilograms,
    double fatKilograms,
    double carbohydrateKilograms,
    double fibreKilograms,
    double ashKilograms,
    double solubleKilograms) {}
