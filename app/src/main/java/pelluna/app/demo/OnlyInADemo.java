package pelluna.app.demo;

import org.springframework.stereotype.Controller;

/** Answers requests, but isn't found by looking through the packages: {@link DemoBeans} names it. */
@Controller
interface OnlyInADemo {}
