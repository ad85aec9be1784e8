class Odd(Exception):
    pass

def show(x):
    try:
        if x == 1:
            raise KeyError("who")
        if x == 2:
            raise Odd("my", "own")
        if x == 3:
            raise Odd
        int(x)
    except (ValueError, KeyError) as err:
        print("b %s" % err)
        print("c %10r|%-3d" % (err, 5))
        t = "%s!" % err + "x"
        print(t)
        print("(%s: %s)" % (type(err).__name__, err))
    except Odd as o:
        print("odd %s" % o)
        print("odd %s %r" % ("a", o))

for x in ["z", 1, 3]:
    show(x)
