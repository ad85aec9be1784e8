#include <iostream>
#include <string>
#include <vector>
using namespace std;

int place_of(vector<string> plants, string wanted) {
    for (int i = 0; i < plants.size(); i++) {
        if (plants[i] == wanted) {
            return i;
        }
    }
    return -1;
}

int main() {
    vector<string> plants = {"bean", "kale", "leek", "pea"};
    cout << place_of(plants, "leek") << endl;
    cout << place_of(plants, "rose") << endl;
}
