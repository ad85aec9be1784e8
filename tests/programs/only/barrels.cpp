#include <iostream>
#include <string>
#include <vector>
using namespace std;

enum class Season { Spring, Summer = 5, Autumn };

class Barrel {
private:
    int level;
    int capacity;

public:
    Barrel(int capacity);
    bool add(int litres);
    int getLevel() const;
    void print() const;
};

Barrel::Barrel(int capacity) {
    this->capacity = capacity;
    level = 0;
}

bool Barrel::add(int litres) {
    if (level + litres > capacity) {
        level = capacity;
        return false;
    }
    level += litres;
    return true;
}

int Barrel::getLevel() const {
    return level;
}

void Barrel::print() const {
    cout << "Barrel " << level << "/" << capacity << endl;
}

struct Student {
    string name;
    double average;
};

struct Pupil {
    string name;
    int age;
};

int main() {
    Barrel b(10);
    cout << boolalpha << b.add(4) << " " << b.add(9) << endl;
    b.print();
    cout << b.getLevel() << endl;
    Season s = Season::Autumn;
    if (s == Season::Autumn) cout << "autumn" << endl;
    switch (s) {
        case Season::Spring: cout << "1" << endl; break;
        case Season::Autumn: cout << "3" << endl; break;
        default: cout << "?" << endl;
    }
    vector<Pupil> pupils(2);
    for (int i = 0; i < 2; i++) {
        cin >> pupils[i].name >> pupils[i].age;
    }
    Pupil oldest = pupils[0];
    for (const auto& p : pupils) if (p.age > oldest.age) oldest = p;
    cout << oldest.name << " " << oldest.age + 1 << endl;
    return 0;
}
