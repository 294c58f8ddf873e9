/** Fish as individuals: names, roles, lengths, histories; the one way into the tank. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "chart",
            "drawing",
            "limits",
            "livestock",
            "overrides",
            "picture",
            "planfile",
            "planning",
            "shell",
            "species"
        })
package pelluna.app.fish;

import org.springframework.modulith.ApplicationModule;
