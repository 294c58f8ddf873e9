/** In the shop: what Pelluna says of every fish for one tank today, and what is bought or slept on there. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "drawing",
            "fish",
            "limits",
            "livestock",
            "overrides",
            "planning",
            "quarantine",
            "rows",
            "shell",
            "species"
        })
package pelluna.app.shop;

import org.springframework.modulith.ApplicationModule;
