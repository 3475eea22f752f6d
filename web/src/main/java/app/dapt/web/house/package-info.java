/** Devices in the house's network: let in by a code, known by their key, ended. Start with {@code HouseController}. */
@NullMarked
package app.dapt.web.house;

import org.jspecify.annotations.NullMarked;
