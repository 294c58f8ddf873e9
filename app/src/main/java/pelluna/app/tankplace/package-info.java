/** The place Tank: what is typed about the glass, and its drawing. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "drawing",
            "fish",
            "limits",
            "livestock",
            "names",
            "planfile",
            "planning",
            "scenery",
            "shell",
            "tank"
        })
package pelluna.app.tankplace;

import org.springframework.modulith.ApplicationModule;
