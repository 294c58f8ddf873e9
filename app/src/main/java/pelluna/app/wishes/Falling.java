package pelluna.app.wishes;

import java.util.Arrays;
import java.util.List;
import pelluna.core.sieve.Mesh;

/** The Sieve as a list for narrow screens: a mesh, and the wishes that lie on it. */
record Falling(Mesh mesh, List<WishView> stopped) {
    /** Every mesh from the widest to the narrowest, empty ones too. */
    static List<Falling> of(List<WishView> views) {
        return Arrays.stream(Mesh.values())
                .map(m -> new Falling(
                        m,
                        views.stream()
                                .filter(v -> v.stoppedOn().filter(m::equals).isPresent())
                                .toList()))
                .toList();
    }
}
