package pelluna.core.sieve;

import pelluna.core.units.Named;

/** The rules of the Sieve by their names in the plan file, each on its mesh, with the question it asks. */
public enum RuleName implements Named {
    LEAST_VOLUME("least-volume", Mesh.ROOM, "Is there enough water?"),
    LEAST_RUN("least-run", Mesh.ROOM, "Is the run long enough?"),
    TURNING_ROOM("turning-room", Mesh.ROOM, "Can it turn when grown?"),
    TANK_AGE("tank-age", Mesh.WATER_AND_BOTTOM, "Is the tank old enough?"),
    SAND("sand", Mesh.WATER_AND_BOTTOM, "Is there sand to bury in?"),
    COVER("cover", Mesh.WATER_AND_BOTTOM, "Will it stay in?"),
    HIDES("hides", Mesh.WATER_AND_BOTTOM, "Is there a hide for it?"),
    TEMPERATURE("temperature", Mesh.WATER_AND_BOTTOM, "Does the temperature suit it?"),
    SALINITY("salinity", Mesh.WATER_AND_BOTTOM, "Does the salinity suit it?"),
    PODS("pods", Mesh.FOOD, "Are there live pods?"),
    HARD_FEEDER("hard-feeder", Mesh.FOOD, "Will it eat for you?"),
    MEALS("meals", Mesh.FOOD, "Are there meals enough?"),
    ALGAE("algae", Mesh.FOOD, "Is there something to graze?"),
    REEF_LIFE("reef-life", Mesh.REEF_LIFE, "What will it do to the reef?"),
    KEEPER_SAFETY("keeper-safety", Mesh.KEEPER, "Can it hurt you?"),
    SKILL("skill", Mesh.KEEPER, "Is it a fish for you, now?"),
    QUARANTINE("quarantine", Mesh.KEEPER, "What does it carry?"),
    ASSUMED("assumed", Mesh.KEEPER, "What is only assumed?"),
    GROUP_SIZE("group-size", Mesh.COMPANY, "Is the number of its kind right?"),
    COMPANY("company", Mesh.COMPANY, "Who presses it, who eats it?"),
    CAPACITY("capacity", Mesh.NUMBER, "Can the filter and you carry it?");

    private final String word;
    private final Mesh mesh;
    private final String question;

    RuleName(String word, Mesh mesh, String question) {
        this.word = word;
        this.mesh = mesh;
        this.question = question;
    }

    @Override
    public String word() {
        return word;
    }

    public Mesh mesh() {
        return mesh;
    }

    public String question() {
        return question;
    }
}
