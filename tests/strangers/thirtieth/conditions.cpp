#ifndef GARDEN_H
#define GARDEN_H

#include <iostream>
#include <string>

#define DEBUG 0
#ifdef VERBOSE
#define LOG(x) std::cout << "log: " << x << std::endl
#else
#define LOG(x)
#endif

#if 0
this is not C++ at all;
#elif 1
int beds() { return 4; }
#endif

#if !defined(NDEBUG)
#define CHECK(x) if (!(x)) std::cout << "x"
#endif

class Plant {
public:
    std::string name;
};

#endif // GARDEN_H

int main() {
    LOG("hi");
#ifdef GARDEN_H
    std::cout << beds() << std::endl;
#else
    std::cout << "none" << std::endl;
#endif
    Plant p;
    p.name = "fern";
    std::cout << p.name << DEBUG << std::endl;
    return 0;
}
