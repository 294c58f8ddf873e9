package pelluna.core.sieve;

/** The meshes of the Sieve, widest first; a wish lies on the first that stops it. */
public enum Mesh {
    ROOM("Room", "volume, run, turning"),
    WATER_AND_BOTTOM("Water and bottom", "age, sand, cover, caves"),
    FOOD("Food", "what and how often"),
    REEF_LIFE("Reef life", "corals, shrimp, snails"),
    KEEPER("You", "skill, spines, quarantine"),
    COMPANY("Company", "who is there, who comes"),
    NUMBER("Number", "filter, nitrate, length");

    private final String title;
    private final String says;

    Mesh(String title, String says) {
        this.title = title;
        this.says = says;
    }

    public String title() {
        return title;
    }

    public String says() {
        return says;
    }
}
