"""Reference rows for the warm room, by another solver: scipy's BDF on 60 layers of a comb.

Run once with Debian's python3-scipy:  python3 scripts/reference/drying.py
The rows stand in src/core/warmRoom/reference.test.ts. The equations are written anew from the
handbook's section 5; room, machine and batch are those of src/core/test/dryingRuns.ts.
"""
import math

import numpy as np
from scipy.integrate import solve_ivp

P = 101.325
DAY = 86400.0
LATENT = 2.42e6
N = 60
L = 0.0109


def psat(t):
    """Saturation pressure over water [kPa], ASHRAE eq. 6."""
    k = t + 273.15
    return math.exp(-5800.2206 / k + 1.3914993 - 0.048640239 * k + 4.1764768e-5 * k**2
                    - 1.4452093e-8 * k**3 + 6.5459673 * math.log(k)) / 1000


def activity(u):
    x = 1 / (1 + 200 / 18.02 * u)
    return (1 - x) * math.exp(-2.25 * x * x)


def density(w):
    return (1.42347 - 0.006301 * (w - 17) - 0.000201 * (w - 17) ** 2) * 998.2


def curve(t, r):
    t, r = min(40, max(5, t)), min(95, max(10, r))
    return max(0, -2.72488 + 0.100712 * t - 0.000990538 * t * t + 0.050053 * r
               - 0.000203629 * r * r - 0.000341751 * t * r)


def switch(by):
    return 1 / (1 + math.exp(-2.2 * by))


class Part:
    def __init__(self, mass, w, capped):
        self.rho = density(w) * (1 - w / 100)
        self.area = mass * (1 - w / 100) / (self.rho * L)
        self.u0 = w / (100 - w)
        film = 1 / (1.2 * 0.8)
        self.resistance = film + (1 / 0.0155 if capped else 0)
        x = L * (1 - (1 - np.arange(N) / (N - 1)) ** 2)
        edges = np.concatenate([[0], (x[1:] + x[:-1]) / 2, [L]])
        self.mass = self.rho * np.diff(edges)
        self.gap = self.rho / np.diff(x)

    def rates(self, u, honey, vapour):
        d = 7.5e-11 * DAY * math.exp(-50000 / 8.314 * (1 / (honey + 273.15) - 1 / 306.15))
        between = d * self.gap * np.exp(6 * ((u[1:] + u[:-1]) / 2 - 18 / 82)) * np.diff(u)
        flux = (activity(u[-1]) * psat(honey) - vapour) / self.resistance
        inflow = np.concatenate([[0], between])
        outflow = np.concatenate([between, [-flux]])
        return (outflow - inflow) / self.mass, self.area * flux


PARTS = [Part(50, 20, False), Part(100, 17.5, True)]
HONEY_J = 150 * 2500 + 75 * 1700
EXCHANGE = 5 * 0.8 * DAY * sum(p.area for p in PARTS)
DRY = 40 * P * 1000 / (287.05 * 306.15)
INTERIOR = DRY * 1006 * 6


def outside(day):
    t = 18 + 4 * math.cos(2 * math.pi * (day - 15 / 24))
    e = 0.8 * psat(18)
    return t, min(0.621945 * e / (P - e), 0.621945 * psat(t) / (P - psat(t)))


def rhs(day, y):
    air, ratio, honey = y[:3]
    vapour = P * ratio / (0.621945 + ratio)
    rh = vapour / psat(air)
    dy = np.zeros_like(y)
    evaporated = 0
    for at, part in enumerate(PARTS):
        s = slice(3 + at * N, 3 + (at + 1) * N)
        dy[s], gone = part.rates(y[s], honey, vapour)
        evaporated += gone
    taken = EXCHANGE * (air - honey)
    dy[2] = (taken - LATENT * evaporated) / HONEY_J
    t, w = outside(day)
    duty = switch((rh - 0.3 - 0.015) / 0.01)
    removed = duty * 20 * curve(air, 100 * rh) / curve(27, 60)
    exchanged = 0.2 * 24 * DRY
    heat = (DAY * (2000 * switch((33 - air) / 0.25) + 400 * duty + 60 + 40 * (t - air))
            + exchanged * 1006 * (t - air) + LATENT * removed - taken)
    dy[0] = heat / INTERIOR
    dy[1] = (evaporated + exchanged * (w - ratio) - removed) / DRY
    return dy


start = np.concatenate([[33, outside(0)[1], 20]] + [np.full(N, p.u0) for p in PARTS])
found = solve_ivp(rhs, (0, 4), start, method="BDF", t_eval=[0.125, 0.5, 1, 2, 4],
                  rtol=1e-7, atol=1e-10)
for day, y in zip(found.t, found.y.T):
    means = []
    water = dry = 0
    for at, part in enumerate(PARTS):
        u = y[3 + at * N:3 + (at + 1) * N]
        mean = float((u * part.mass).sum() / part.mass.sum())
        means.append(100 * mean / (1 + mean))
        kg = part.area * part.mass.sum()
        water += kg * mean
        dry += kg
    e = P * y[1] / (0.621945 + y[1])
    print(f"[{day}, {100 * water / (water + dry):.3f}, {means[0]:.3f}, {means[1]:.3f}, "
          f"{y[0]:.2f}, {e / psat(y[0]):.4f}, {y[2]:.2f}],")
