/** Standing, pressure, and what was learned of each fish. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "chart",
            "drawing",
            "fish",
            "introduction",
            "livestock",
            "log",
            "planning",
            "scenery",
            "shell"
        })
package pelluna.app.behaviour;

import org.springframework.modulith.ApplicationModule;
