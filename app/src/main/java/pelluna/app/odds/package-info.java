/** How a plan usually goes: played in the background, said as natural frequencies. */
@ApplicationModule(allowedDependencies = {"account", "drawing", "planfile", "planning", "shell", "tank"})
package pelluna.app.odds;

import org.springframework.modulith.ApplicationModule;
