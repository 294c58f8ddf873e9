package pelluna.app.log;

import java.util.List;
import org.springframework.stereotype.Component;
import pelluna.app.fish.Fish;
import pelluna.app.planning.OpenTank;
import pelluna.core.phrasebook.Phrasebook;
import pelluna.core.sighting.Known;
import pelluna.core.sighting.Places;
import pelluna.core.sighting.SentenceReader;
import pelluna.core.tank.Tank;

/** Reads typed sentences about the fish of a tank. */
@Component
class Sentences {
    SentenceReader reader(OpenTank opened, List<Fish> there) {
        Tank tank = opened.plan().tank();
        return new SentenceReader(
                there.stream()
                        .map(f -> new Known(Long.toString(f.id()), f.kind(opened.say()), f.names()))
                        .toList(),
                new Places(tank.lengthCm(), tank.frontHeightCm(), tank.scape().hides()),
                Phrasebook.of(opened.say().language()));
    }
}
