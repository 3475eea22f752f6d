package app.dapt.advice;

/** Something that is so, of a cover, its cloth or its workroom, that a rule can ask for. */
public enum Fact {
    // What it is for. What is pulled about or given is lived with as well.
    SHOW,
    LIVED,
    PULLED,
    OUTDOORS,
    GIVEN,
    INDOORS,

    // How the cloth behaves, front and back together, unless it says otherwise.
    LIGHT,
    MEDIUM,
    HEAVY,
    FRAYS_NOT,
    FRAYS_LITTLE,
    FRAYS_BADLY,
    STRETCHES,
    SHEER,
    THICK,
    BACK_THICK,
    BACK_LIGHTER,
    SLIPPERY,
    ALIKE,
    NAP,
    SYNTHETIC,
    NATURAL,
    BLEEDS,

    // What it was before.
    NOT_NEW,
    QUILT,
    SHEET,
    TOWEL,
    DROP_CLOTH,
    NAPKIN,
    OLD_HEM,

    // How it is planned.
    FULL,
    NOT_FULL,
    FIBRE_FORM,
    LAPS,
    ZIP,
    EDGE_ZIP,
    SEWN_SHUT,
    PILLOWCASE,
    HEMMED,
    TRIM_IN_SEAM,
    TRIM_BY_LENGTH,
    BOBBLES,
    PIPING,
    SHARP_CORNERS,
    SLANT_WANTED,
    BLOCK_LARGE,
    RAW_RUFFLE,
    ROW_SHOWS,
    REAL_BUTTONS,
    MOCK_BUTTONS,
    LONG_TIES,
    HANDLE,
    POCKET,
    PIECED_BAND,
    QUILTED_FRONT,
    LONG_SEAM,
    CLOTH_SHORT,
    SELVAGE,
    INNER_PANEL,
    IN_THE_FIELD,
    MARKED_EARLY,

    // What is in the drawer.
    SERGER,

    // What follows from what is recommended before.
    FRENCH,
    SEALED
}
