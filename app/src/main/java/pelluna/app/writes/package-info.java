/** How everything is written: one transaction for a tank at a time, once for each key, refused as a page. */
@ApplicationModule(allowedDependencies = {"limits"})
package pelluna.app.writes;

import org.springframework.modulith.ApplicationModule;
