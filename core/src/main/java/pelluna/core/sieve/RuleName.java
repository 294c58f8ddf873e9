package pelluna.core.sieve;

import pelluna.core.units.Named;

/** The rules of the Sieve by their names in the plan file, each on its mesh. */
public enum RuleName implements Named {
    LEAST_VOLUME("least-volume", Mesh.ROOM),
    LEAST_RUN("least-run", Mesh.ROOM),
    TURNING_ROOM("turning-room", Mesh.ROOM),
    TANK_AGE("tank-age", Mesh.WATER_AND_BOTTOM),
    SAND("sand", Mesh.WATER_AND_BOTTOM),
    COVER("cover", Mesh.WATER_AND_BOTTOM),
    HIDES("hides", Mesh.WATER_AND_BOTTOM),
    TEMPERATURE("temperature", Mesh.WATER_AND_BOTTOM),
    SALINITY("salinity", Mesh.WATER_AND_BOTTOM),
    PODS("pods", Mesh.FOOD),
    HARD_FEEDER("hard-feeder", Mesh.FOOD),
    MEALS("meals", Mesh.FOOD),
    ALGAE("algae", Mesh.FOOD),
    REEF_LIFE("reef-life", Mesh.REEF_LIFE),
    KEEPER_SAFETY("keeper-safety", Mesh.KEEPER),
    SKILL("skill", Mesh.KEEPER),
    QUARANTINE("quarantine", Mesh.KEEPER),
    ASSUMED("assumed", Mesh.KEEPER),
    GROUP_SIZE("group-size", Mesh.COMPANY),
    COMPANY("company", Mesh.COMPANY),
    CAPACITY("capacity", Mesh.NUMBER);

    private final String word;
    private final Mesh mesh;

    RuleName(String word, Mesh mesh) {
        this.word = word;
        this.mesh = mesh;
    }

    @Override
    public String word() {
        return word;
    }

    public Mesh mesh() {
        return mesh;
    }
}
