/** One life of a fish, pair or group from wish to end, with everything that happened in it. */
@ApplicationModule(allowedDependencies = {"account", "database", "rows"})
package pelluna.app.livestock;

import org.springframework.modulith.ApplicationModule;
