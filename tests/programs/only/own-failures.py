class TooHot(Exception):
    def __init__(self, degrees):
        super().__init__(f"{degrees} degrees")
        self.degrees = degrees
class VeryHot(TooHot):
    pass
def check(t):
    if t > 60:
        raise VeryHot(t)
    if t > 40:
        raise TooHot(t)
    return t
for t in [50, 70, 3]:
    try:
        print(check(t))
    except VeryHot as e:
        print("very", e, e.degrees)
    except TooHot as e:
        print(e, e.degrees)
try:
    check(99)
except Exception as e:
    print("any", e)
