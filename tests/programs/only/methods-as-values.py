class Button:
    def __init__(self, label, action):
        self.label = label
        self.action = action
        self.on_done = None

    def press(self):
        self.action(self.label)
        if self.on_done is not None:
            self.on_done()

class Counter:
    def __init__(self):
        self.count = 0

    def up(self, label):
        self.count += 1
        print(label, self.count)

c = Counter()
b = Button("go", c.up)
b.press()
b.on_done = lambda: print("done")
b.press()
b.action("x")
fs = {"up": c.up, "say": print}
fs["up"]("y")
handler = c.up
c = Counter()
handler("z")
print(c.count)
