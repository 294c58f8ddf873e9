/** The first five minutes: a tank by a few questions, fish to tap, and what fits when. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "drawing",
            "overrides",
            "planfile",
            "planning",
            "scenery",
            "shell",
            "tank",
            "tankplace",
            "wishes"
        })
package pelluna.app.beginning;

import org.springframework.modulith.ApplicationModule;
