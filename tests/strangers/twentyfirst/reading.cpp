#include <iostream>
#include <sstream>
#include <string>
#include <vector>
#include <algorithm>

struct Bed {
    std::string plant;
    int rows;
    double width;
};

std::istream& operator>>(std::istream& in, Bed& bed) {
    in >> bed.plant >> bed.rows >> bed.width;
    return in;
}

std::ostream& operator<<(std::ostream& out, const Bed& bed) {
    return out << bed.plant << " x" << bed.rows << " (" << bed.width << " m)";
}

bool operator<(const Bed& a, const Bed& b) {
    if (a.rows != b.rows) return a.rows < b.rows;
    return a.plant < b.plant;
}

int main() {
    std::istringstream text("leek 4 1.5 pea 2 0.75 kale 4 1");
    std::vector<Bed> beds;
    Bed bed;
    while (text >> bed) {
        beds.push_back(bed);
    }
    std::sort(beds.begin(), beds.end());
    for (const auto& b : beds) std::cout << b << '\n';
    int& largest = beds[2].rows;
    largest *= 10;
    std::cout << beds.back() << std::endl;
}
