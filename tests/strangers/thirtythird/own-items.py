class Shelf:
    items = []
    size = 2
    names = "x"
    @classmethod
    def more(cls):
        cls.size += 1
        return cls.size
    def put(self, x):
        self.items += [x]
        self.names += x
        self.size *= 3
s = Shelf(); t = Shelf()
s.put("a"); t.put("b"); s.put("c")
print(s.items, t.items, Shelf.items, s.names, t.names, Shelf.names, s.size, t.size, Shelf.size)
print(Shelf.more(), Shelf.size, s.size, Shelf().size)
s.size -= 1
print(s.size, t.size, Shelf.size)
