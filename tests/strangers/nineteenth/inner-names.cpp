#include <iostream>
#include <string>
#include <vector>
using namespace std;
class Bed {
public:
    enum Soil { CLAY, LOAM = 5, SAND };
    enum class Light { Shade, Sun };
    static const int MOST = 4;
private:
    Soil soil;
    Light light;
public:
    Bed(Soil s, Light l = Light::Sun) : soil(s), light(l) {}
    string name() const {
        switch (soil) {
            case CLAY: return "clay";
            case LOAM: return "loam";
            default: return "sand";
        }
    }
    bool sunny() const { return light == Light::Sun; }
    Soil getSoil() const { return soil; }
    void setSoil(Soil s) { soil = s; }
};
class Garden {
public:
    struct Plot {
        string name = "x";
        int size = 2;
        static int made;
        int area() const;
        Plot() { made++; }
    };
    Plot first;
    vector<Plot> beds;
    void add(string n, int s) { Plot b; b.name = n; b.size = s; beds.push_back(b); }
};
int Garden::Plot::made = 0;
int Garden::Plot::area() const { return size * size; }
int main() {
    Bed b(Bed::LOAM), c(Bed::SAND, Bed::Light::Shade);
    cout << b.name() << c.name() << b.sunny() << c.sunny() << b.getSoil() << Bed::MOST << endl;
    Bed::Soil s = Bed::CLAY;
    b.setSoil(s);
    cout << b.name() << (b.getSoil() == Bed::CLAY) << endl;
    Garden g;
    g.add("pea", 3);
    Garden::Plot p;
    cout << p.name << g.beds[0].area() << g.first.size << Garden::Plot::made << endl;
}
