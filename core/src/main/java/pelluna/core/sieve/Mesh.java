package pelluna.core.sieve;

/** The meshes of the Sieve, widest first; a wish lies on the first that stops it. */
public enum Mesh {
    ROOM,
    WATER_AND_BOTTOM,
    FOOD,
    REEF_LIFE,
    KEEPER,
    COMPANY,
    NUMBER
}
