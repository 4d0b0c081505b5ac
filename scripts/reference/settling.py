"""Rows for src/core/settling: cleared share of log-normal matter, integrated by scipy.

Run: python3 scripts/reference/settling.py
Debian package python3-scipy.
"""
from math import exp, log, pi

from scipy.integrate import quad, solve_ivp
from scipy.stats import norm

G, HONEY = 9.81, 1420.0


def viscosity(celsius, percent):
    return exp(-7.674 + 781.1 / (celsius + 55.94 + 3.629 * (percent - 17)))


def dose(hours, percent, start, room, lag):
    rate = lambda t: 3600 / viscosity(room + (start - room) * exp(-t / lag) if lag else room, percent)
    return quad(rate, 0, hours, epsabs=1e-9, epsrel=1e-10, limit=400)[0]


def cleared(density, median, spread, cut, height, amount):
    top = log(cut / median) / spread if cut else 10.0
    passed = norm.cdf(top)

    def part(z):
        size = median * exp(z * spread) * 1e-6
        rise = (HONEY - density) * G * size**2 / 18 * amount
        return norm.pdf(z) / passed * min(1.0, rise / height)

    return quad(part, -8, top, epsabs=1e-10, epsrel=1e-10, limit=2000)[0]


for percent, start, room, lag, hours, height, cut in [
    (17, 25, 25, 0, 24, 0.30, 200),
    (17, 30, 20, 7, 12, 0.35, 400),
    (18.2, 33, 22, 10, 48, 0.60, 200),
    (16.1, 24, 24, 0, 72, 0.40, None),
]:
    amount = dose(hours, percent, start, room, lag)
    shares = [
        cleared(960, 350, 0.7, cut, height, amount),
        cleared(1.2, 250, 0.6, None, height, amount),
        cleared(1150, 300, 0.7, cut, height, amount),
    ]
    print(percent, start, room, lag, hours, height, cut, round(amount, 4), *(round(s, 5) for s in shares))

# a ball of wax let go at rest, its own inertia and that of the honey it moves counted in
radius, eta = 100e-6, viscosity(25, 17)
mass = 4 / 3 * pi * radius**3
pull = (HONEY - 960) * mass * G
drag = 6 * pi * eta * radius
run = solve_ivp(
    lambda t, y: [y[1], (pull - drag * y[1]) / (mass * (960 + HONEY / 2))],
    (0, 60), [0, 0], method="Radau", rtol=1e-10, atol=1e-16,
)
print("rise of a 200 um ball after 60 s, as m/s:", run.y[0][-1] / 60)
