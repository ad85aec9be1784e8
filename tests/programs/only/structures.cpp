#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;

struct Bed {
    string plant;
    int litres = 0;
    bool isDry() const {
        return litres < 2;
    }
    void pour(int n) { litres += n; }
};

class Account {
private:
    string owner;
    double balance;

public:
    Account(string o, double b = 0) : owner(o), balance(b) {
    }
    void deposit(double amount) {
        if (amount > 0) balance += amount;
    }
    double getBalance() const { return balance; }
    string getOwner() const { return owner; }
};

class Shape {
public:
    string name;
    Shape(string n) : name(n) {}
    virtual double area() { return 0; }
    virtual ~Shape() {}
    void show() { cout << name << ": " << area() << endl; }
};

class Square : public Shape {
    double side;
public:
    Square(double s) : Shape("square"), side(s) {}
    double area() override { return side * side; }
};

void water(Bed& bed) {
    bed.pour(5);
}

Bed copyOf(Bed bed) {
    bed.plant += "!";
    return bed;
}

bool byLitres(const Bed& a, const Bed& b) {
    return a.litres < b.litres;
}

int main() {
    Bed rose;
    rose.plant = "rose";
    Bed bean = {"bean", 3};
    Bed other = bean;
    other.litres = 10;
    water(rose);
    Bed c = copyOf(rose);
    cout << rose.plant << " " << rose.litres << " " << bean.litres << " " << other.litres << " " << c.plant << endl;
    vector<Bed> beds = {rose, bean, {"fern", 1}};
    beds.push_back({"moss", 0});
    beds[0].litres = 100;
    for (auto& b : beds) {
        b.pour(1);
    }
    for (const Bed& b : beds) {
        cout << b.plant << "=" << b.litres << (b.isDry() ? " dry" : "") << endl;
    }
    cout << rose.litres << endl;
    sort(beds.begin(), beds.end(), [](const Bed& a, const Bed& b) { return a.litres < b.litres; });
    cout << beds[0].plant << " " << beds.back().plant << endl;
    Account acc("Rowan", 50);
    acc.deposit(25.5);
    cout << acc.getOwner() << " " << acc.getBalance() << endl;
    Square s(3);
    s.show();
    Shape* shapes[2] = {new Square(2), new Shape("plain")};
    for (int i = 0; i < 2; i++) shapes[i]->show();
    return 0;
}
