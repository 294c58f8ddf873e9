/** Standing, pressure, and what was learned of each fish. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "introduction",
            "drawing",
            "fish",
            "livestock",
            "log",
            "planning",
            "shell",
            "tank"
        })
package pelluna.app.behaviour;

import org.springframework.modulith.ApplicationModule;
