package pelluna.app.scenery;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.springframework.stereotype.Service;
import pelluna.core.tank.Tank;
import pelluna.words.Words;

/** The layers of a tank, painted once for as long as it looks the same. */
@Service
public class Sceneries {
    private static final long MOST = 100;

    private final Cache<Tank, List<Layer>> painted =
            Caffeine.newBuilder().maximumSize(MOST).build();

    /** Those in front last: water, each heap with what stands on it, sand. */
    public List<Layer> of(Tank tank) {
        return painted.get(tank, t -> new Scenery(t).layers());
    }

    /** Where the layers of a tank are to be had. */
    public static String base(long tankId) {
        return "/tanks/" + tankId + "/reefscape";
    }

    /** A tank from the front as one picture. @param over markup in cm that is laid over it */
    public String framed(long tankId, Tank tank, Words say, String cssClass, String label, String over) {
        return new ReefDrawing(tank, say).framed(base(tankId), of(tank), cssClass, label, over);
    }
}
