/** The reef through time, what if, hands on it. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "drawing",
            "limits",
            "livestock",
            "log",
            "overrides",
            "planfile",
            "planning",
            "rows",
            "scenery",
            "sharing",
            "shell",
            "species",
            "tank"
        })
package pelluna.app.reefscape;

import org.springframework.modulith.ApplicationModule;
