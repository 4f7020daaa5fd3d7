package urnstew.app.kitchen;

/** Kinds of cold places that a kitchen owns; ice and water come from the tap. */
public enum ColdKind {
  STILL_REFRIGERATOR,
  FAN_REFRIGERATOR,
  BLAST_CHILLER,
  FREEZER
}
