#include <iostream>
#include "scrivlet.hpp"
using namespace std;

// areas
const int SIDE = 50;
int score = 0;
double area(double w, double h = 2);

void petal(int size, string colour) {
    nib.open_shape(colour);
    for (int i = 0; i < 2; i++) { // halves
        nib.forward(size / 10);
        nib.left(90);
    }
    score += 1;
    nib.close_shape();
}

int main() {
    vector<string> names = {"bean", "pea"};
    vector<int> grid(5, 0);
    for (string name : names)
        cout << name << " " << name.size() << endl;
    int total = 7, few;
    few = total / 2;
    double half = total / 2.0;
    char c = names[0][1];
    if (c == 'e' && half > 3 or few != 3) {
        petal(30, "rose");
    } else if (c - 'a' > 3) {
        names.push_back("leek");
    } else cout << "no\n";
    sort(grid.begin(), grid.end());
    map<string, int> counts = {{"bean", 3}};
    counts["bean"]++;
    for (auto [key, value] : counts) cout << key << value << endl;
    cout << area(3) << " " << to_string(few) + "x" << " " << names[0].substr(1, 2) << endl;
    int answer;
    cin >> answer;
    while (true) { if (answer < 3) break; answer--; }
    return 0;
}

double area(double w, double h) {
    return w * h;
}
