class Bus:
    def __init__(self): self.hs = []
    def on(self, h): self.hs.append(h)
    def off(self, h):
        if h in self.hs: self.hs.remove(h)
    def emit(self, x):
        for h in self.hs[:]: h(x)
class Light:
    def __init__(self, n): self.n = n
    def react(self, x): print(self.n, x)
b = Bus(); l, m = Light("l"), Light("m")
b.on(l.react); b.on(m.react); b.on(print)
b.emit(1)
b.off(l.react); b.off(print)
b.emit(2)
print(len(b.hs), l.react == m.react, l.react == l.react)
