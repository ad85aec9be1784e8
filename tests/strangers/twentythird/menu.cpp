#include <iostream>
#include <string>
#include <limits>
#include <cstdlib>
using namespace std;

const int MAX_ITEMS = 10;

enum class Unit { Piece, Kilo, Litre };

struct Item {
    string name;
    double price;
    int quantity;
    Unit unit;
};

string unitName(Unit u) {
    switch (u) {
        case Unit::Piece: return "pc";
        case Unit::Kilo: return "kg";
        case Unit::Litre: return "l";
    }
    return "?";
}

int readInt(const string& prompt, int low, int high);
void addItem(Item items[], int& count);
void listItems(const Item items[], int count);
double total(const Item* items, int count);

int main() {
    Item items[MAX_ITEMS];
    int count = 0;
    int choice;
    do {
        cout << "\n1) Add\n2) List\n3) Total\n4) Sell\n0) Quit\n";
        choice = readInt("Choice: ", 0, 4);
        switch (choice) {
        case 1:
            addItem(items, count);
            break;
        case 2:
            listItems(items, count);
            break;
        case 3:
            cout << "Total: " << total(items, count) << endl;
            break;
        case 4: {
            string name;
            cout << "Name: ";
            getline(cin, name);
            bool found = false;
            for (int i = 0; i < count && !found; i++) {
                if (items[i].name == name) {
                    found = true;
                    if (--items[i].quantity == 0) {
                        for (int j = i; j < count - 1; j++) items[j] = items[j + 1];
                        count--;
                        cout << "Sold out." << endl;
                    } else {
                        cout << items[i].quantity << " left." << endl;
                    }
                }
            }
            if (!found) cout << "No " << name << "." << endl;
            break;
        }
        case 0:
            cout << "Bye" << endl;
            break;
        }
    } while (choice != 0);
    return EXIT_SUCCESS;
}

int readInt(const string& prompt, int low, int high) {
    int value;
    while (true) {
        cout << prompt;
        if (cin >> value && value >= low && value <= high) {
            cin.ignore(numeric_limits<streamsize>::max(), '\n');
            return value;
        }
        if (cin.eof()) { cout << "end" << endl; exit(1); }
        cin.clear();
        cin.ignore(numeric_limits<streamsize>::max(), '\n');
        cout << "Please give a number from " << low << " to " << high << "." << endl;
    }
}

void addItem(Item items[], int& count) {
    if (count == MAX_ITEMS) {
        cout << "Full" << endl;
        return;
    }
    Item item;
    cout << "Name: ";
    getline(cin, item.name);
    cout << "Price: ";
    cin >> item.price;
    item.quantity = readInt("Quantity: ", 1, 99);
    item.unit = static_cast<Unit>(readInt("Unit (0-2): ", 0, 2));
    items[count++] = item;
}

void listItems(const Item items[], int count) {
    if (!count) cout << "Nothing yet." << endl;
    for (int i = 0; i < count; i++)
        cout << i + 1 << ". " << items[i].name << " " << items[i].quantity << unitName(items[i].unit) << " at " << items[i].price << endl;
}

double total(const Item* items, int count) {
    double sum = 0;
    for (const Item* p = items; p < items + count; ++p) sum += p->price * p->quantity;
    return sum;
}
