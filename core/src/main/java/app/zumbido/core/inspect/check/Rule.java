package app.zumbido.core.inspect.check;

import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.House;

/** Looks for faults of some kinds. */
interface Rule {
    void judge(Findings findings, House house, Faults faults);
}
