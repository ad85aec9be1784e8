#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <iomanip>
using namespace std;

enum VehicleType { BIKE = 1, CAR, TRUCK };

struct Vehicle {
    string plate;
    VehicleType type;
    int hoursParked;
};

class ParkingLot {
private:
    int capacity;
    vector<Vehicle> vehicles;
    map<VehicleType, double> rates;
    double income;

    int findIndex(string plate) {
        for (int i = 0; i < (int)vehicles.size(); i++) {
            if (vehicles[i].plate == plate) return i;
        }
        return -1;
    }

public:
    ParkingLot(int cap) {
        capacity = cap;
        income = 0;
        rates[BIKE] = 0.5;
        rates[CAR] = 2;
        rates[TRUCK] = 4.25;
    }

    bool park(string plate, VehicleType type) {
        if (vehicles.size() >= capacity) {
            cout << "Full! " << plate << " must wait." << endl;
            return false;
        }
        if (findIndex(plate) != -1) {
            cout << plate << " is already here." << endl;
            return false;
        }
        Vehicle v;
        v.plate = plate;
        v.type = type;
        v.hoursParked = 0;
        vehicles.push_back(v);
        return true;
    }

    void passTime(int hours) {
        for (auto &v : vehicles) v.hoursParked += hours;
    }

    double leave(string plate) {
        int i = findIndex(plate);
        if (i < 0) return -1;
        double fee = rates[vehicles[i].type] * vehicles[i].hoursParked;
        if (fee > 20) fee = 20;
        income += fee;
        vehicles.erase(vehicles.begin() + i);
        return fee;
    }

    void report() const {
        cout << left << setw(10) << "Plate" << setw(7) << "Type" << right << setw(5) << "Hours" << endl;
        for (const auto &v : vehicles) {
            string t;
            switch (v.type) {
                case BIKE: t = "bike"; break;
                case CAR: t = "car"; break;
                case TRUCK: t = "truck"; break;
            }
            cout << left << setw(10) << v.plate << setw(7) << t << right << setw(5) << v.hoursParked << endl;
        }
        cout << "Income: " << fixed << setprecision(2) << income << endl;
    }
};

int main() {
    ParkingLot lot(3);
    lot.park("FH-12", CAR);
    lot.park("FH-99", BIKE);
    lot.passTime(3);
    lot.park("GH-1", TRUCK);
    lot.park("FH-12", CAR);
    lot.park("XX-0", CAR);
    lot.passTime(4);
    lot.report();
    string plates[] = {"FH-12", "NO-PE", "GH-1"};
    for (string p : plates) {
        double fee = lot.leave(p);
        if (fee < 0) cout << p << " not found" << endl;
        else cout << p << " pays " << fee << endl;
    }
    lot.report();
    return 0;
}
