#!/usr/bin/python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""What a screen reader finds in the real program, through the desktop's own accessibility bus
(AT-SPI), in a real window on an invisible screen.

    screen_reader_test.py PROGRAM FILE...
"""
import contextlib
import os
import socket
import subprocess
import sys
import tempfile
import time

LAUNCHER = "/usr/libexec/at-spi-bus-launcher"
PATIENCE = 120  # seconds, on a busy machine


def wait_for(what, condition):
    """Asks until it is so; what it is, or the end."""
    until = time.monotonic() + PATIENCE
    while time.monotonic() < until:
        try:
            found = condition()
        except Exception:  # the tree changes while it is walked
            found = None
        if found:
            return found
        time.sleep(0.2)
    sys.exit("never: " + what)


def all_below(thing):
    yield thing
    for i in range(min(thing.get_child_count(), 500)):
        child = thing.get_child_at_index(i)
        if child:
            yield from all_below(child)


def read(program, files):
    import gi

    gi.require_version("Atspi", "2.0")
    from gi.repository import Atspi

    def showing(thing):
        return thing.get_state_set().contains(Atspi.StateType.SHOWING)

    def the_program():
        desktop = Atspi.get_desktop(0)
        for i in range(desktop.get_child_count()):
            app = desktop.get_child_at_index(i)
            if app and "Brisk Tether" in (app.get_name() or "") and app.get_child_count():
                return app

    with subprocess.Popen([program] + files) as window:
        try:
            app = wait_for("the program on the bus", the_program)

            def one(role, name):
                return [t for t in all_below(app)
                        if t.get_role_name() == role and name in (t.get_name() or "")
                        and showing(t)]

            button = wait_for("a button to find matches", lambda: one("push button", "Find matches"))
            wait_for("three takes on the map", lambda: len(
                [t for t in all_below(one("list", "Day map")[0])
                 if t.get_role_name() == "list item"]) == 3)
            wait_for("it is pressed", lambda: Atspi.Action.do_action(button[0], 0))
            wait_for("a take that was found", lambda: one("list item", "bench-01.mp4, found"))

            seam = wait_for("the seam", lambda: one("slider", "Seam"))[0]
            assert abs(seam.get_minimum_increment() - 0.04) < 1e-6, "a step is a picture frame"
            wait_for("the playhead goes where it is put", lambda: (
                seam.set_current_value(3.28) and abs(seam.get_current_value() - 3.28) < 1e-6))
            line = wait_for("the line along the take", lambda: one("slider", "How far apart"))[0]
            wait_for("its spots", lambda: line.get_maximum_value() > 3)

            controls = ("push button", "toggle button", "check box", "radio button", "slider",
                        "list", "list item", "combo box", "text")
            unnamed = [t.get_role_name() for t in all_below(app)
                       if t.get_role_name() in controls and showing(t) and not t.get_name()]
            assert not unnamed, f"without a name: {unnamed}"
            print("The screen reader found", sum(1 for _ in all_below(app)), "things.")
        finally:
            window.kill()


@contextlib.contextmanager
def screen():
    """An invisible one, whose name it says itself, once it can be used: nothing is guessed.

    A server begins anew when its last client leaves, and refuses whoever comes in that moment;
    the launcher of the bus is such a client, therefore -noreset.
    """
    for _ in range(5):
        says, told = os.pipe()
        server = subprocess.Popen(
            ["Xvfb", "-displayfd", str(told), "-screen", "0", "1400x900x24", "-nolisten", "tcp",
             "-noreset"],
            pass_fds=[told], stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
        os.close(told)
        try:
            with os.fdopen(says, encoding="ascii") as answer:
                number = answer.readline().strip()
            # Another server may have taken the number in the same moment: then it starts anew.
            if number and server.poll() is None and answers(number):
                yield ":" + number
                return
        finally:
            server.terminate()
            server.wait()
    sys.exit("never: an invisible screen")


def answers(number):
    """Whether somebody takes calls for this screen, as a program makes them."""
    for name in ("\0/tmp/.X11-unix/X" + number, "/tmp/.X11-unix/X" + number):
        with socket.socket(socket.AF_UNIX) as call:
            try:
                call.connect(name)
                return True
            except OSError:
                continue
    return False


def main():
    program, files = sys.argv[1], sys.argv[2:]
    if os.environ.get("READER_HOME"):
        launcher = subprocess.Popen([LAUNCHER, "--launch-immediately"],
                                    stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
        try:
            read(program, files)
        finally:
            launcher.kill()
        return
    # Once more, on a screen, a bus and in folders of its own.
    with tempfile.TemporaryDirectory() as home:
        own = dict(os.environ, READER_HOME=home, LC_ALL="C.UTF-8", QT_QPA_PLATFORM="xcb",
                   QT_LINUX_ACCESSIBILITY_ALWAYS_ON="1")
        for name in ("XDG_CONFIG_HOME", "XDG_STATE_HOME", "XDG_DATA_HOME", "XDG_RUNTIME_DIR"):
            own[name] = os.path.join(home, name)
            os.makedirs(own[name], mode=0o700)
        preferences = os.path.join(own["XDG_CONFIG_HOME"], "brisk-tether")
        os.makedirs(preferences)
        with open(os.path.join(preferences, "preferences.ini"), "w", encoding="utf-8") as file:
            file.write("[General]\nshown-around=true\n")
        with screen() as display:
            own["DISPLAY"] = display
            own.pop("XAUTHORITY", None)
            sys.exit(subprocess.call(
                ["dbus-run-session", "--", sys.executable, os.path.abspath(__file__), program]
                + files, env=own))


main()
