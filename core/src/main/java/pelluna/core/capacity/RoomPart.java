package pelluna.core.capacity;

/** The parts of a tank that fish take room in. */
public enum RoomPart {
    SWIMMING,
    OPEN_WATER_BY_MASS,
    REEF_GROUNDS,
    SAND,
    HIDES
}
