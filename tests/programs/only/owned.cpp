#include <iostream>
#include <memory>
#include <vector>
class Hen {
public:
    static int count;
    Hen() { ++count; }
    virtual ~Hen() = default;
    int claws() const { return 4; }
};
int Hen::count = 0;
int main() {
    std::vector<std::unique_ptr<Hen>> coop;
    coop.push_back(std::make_unique<Hen>());
    std::cout << coop[0]->claws() << Hen::count << std::endl;
    int x = 2;
    switch (x) {
    case 1:
        std::cout << "one";
        break;
    case 2:
    {
        int y = 3;
        if (y == 4)
        {
            std::cout << "never";
            break;
        }
        std::cout << "two" << y;
        break;
    }
    default:
        std::cout << "other";
    }
}
